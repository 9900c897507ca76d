import { View } from 'react-native';
import { attachFiles, fileOf, isPicture, removeAttachment } from '@/actions/attachments';
import { chooseFiles } from '@/actions/files/chooseFile';
import { download } from '@/actions/files/download';
import { attachedTo } from '@/core/commands/attachments';
import type { Attachment, AttachedTo } from '@/core/model/attachment';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';
import { sizeWords } from '@/ui/sizeWords';
import { Words } from '@/ui/Words';

/** The files of a task or a meeting: pictures are shown, others are saved to be opened. */
export function Attachments({ of }: { of: AttachedTo }) {
  const attached = attachedTo(useWorkspace(), of);
  return (
    <View role="group" aria-label="Attached files" className="gap-1">
      {attached.map((attachment) => (
        <Attached key={attachment.id} attachment={attachment} />
      ))}
      <View className="flex-row">
        <Button
          label="Attach a file…"
          kind="quiet"
          onPress={() => chooseFiles((files) => attachFiles(files, of))}
        />
      </View>
    </View>
  );
}

function Attached({ attachment }: { attachment: Attachment }) {
  const { name, type, size, data } = attachment;
  return (
    <View className="gap-1 border-b border-line pb-1">
      <View className="flex-row items-center gap-1">
        <View className="flex-1">
          <Words>{name}</Words>
          <Words size="xs" tone="soft">
            {sizeWords(size)}
          </Words>
        </View>
        <Button
          label="Save"
          says={`Save ${name}`}
          kind="quiet"
          onPress={() => download(name, fileOf(attachment))}
        />
        <IconButton label={`Remove ${name}`} icon="remove" onPress={() => removeAttachment(attachment)} />
      </View>
      {isPicture(attachment) && (
        <img src={`data:${type};base64,${data}`} alt={name} className="max-h-[260px] w-full object-contain" />
      )}
    </View>
  );
}
