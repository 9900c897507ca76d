import { useState } from 'react';
import { Linking, View } from 'react-native';
import {
  addLinkTo,
  attachFiles,
  fileOf,
  isPicture,
  removeAttachment,
  removeLinkOf,
} from '@/actions/attachments';
import { chooseFiles } from '@/actions/files/chooseFile';
import { download } from '@/actions/files/download';
import { filesOf, linksOf } from '@/core/commands/attachments';
import type { Attachment, AttachedTo } from '@/core/model/attachment';
import type { Link } from '@/core/model/link';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readLink } from '@/ui/readings';
import { sizeWords } from '@/ui/sizeWords';
import { Words } from '@/ui/Words';

type Props = {
  of: AttachedTo;
  /** All times of what repeats, for what belongs to each of them. */
  all?: AttachedTo | undefined;
};

/** The links and files of a task or a meeting: pictures are shown, other files are saved to be opened. */
export function Attachments({ of, all }: Props) {
  const workspace = useWorkspace();
  const [forAll, setForAll] = useState(false);
  const owners = all ? [of, all] : [of];
  const owner = forAll && all ? all : of;
  const [links, files] = [linksOf(workspace, ...owners), filesOf(workspace, ...owners)];
  return (
    <View role="group" aria-label="Links and files" className="gap-1">
      {links.map((link) => (
        <LinkRow key={link.id} link={link} forAll={isForAll(link)} />
      ))}
      {files.map((attachment) => (
        <Attached key={attachment.id} attachment={attachment} forAll={isForAll(attachment)} />
      ))}
      <Field
        label="Add a link"
        text=""
        read={readLink}
        adding
        placeholder="https://… and what it is called"
        onSave={(link) => addLinkTo(owner, link)}
      />
      <View className="flex-row flex-wrap items-end gap-2">
        <Button
          label="Attach a file…"
          kind="quiet"
          onPress={() => chooseFiles((chosen) => attachFiles(chosen, owner))}
        />
        {all && (
          <Choice
            label="Links and files are for"
            value={forAll ? 'all' : 'one'}
            onChoose={(to) => setForAll(to === 'all')}
            options={[
              { value: 'one', name: 'this time' },
              { value: 'all', name: 'all times' },
            ]}
          />
        )}
      </View>
    </View>
  );
}

const isForAll = ({ of }: { readonly of: AttachedTo }) => of.kind === 'repeat' || of.kind === 'event';

/** An address in short: without what each begins with. */
const short = (address: string) =>
  address.replace(/^(https?:\/\/(www\.)?|mailto:|tel:)/i, '').replace(/\/$/, '');

const LinkRow = ({ link, forAll }: { link: Link; forAll: boolean }) => {
  const { address, name } = link;
  const label = name || short(address);
  return (
    <View className="flex-row items-center gap-1 border-b border-line">
      <View className="-ml-3.5 flex-1 flex-row">
        <Button
          label={label}
          says={`Open ${label}`}
          kind="quiet"
          onPress={() => void Linking.openURL(address)}
        />
      </View>
      {forAll && (
        <Words size="xs" tone="soft">
          all times
        </Words>
      )}
      <IconButton label={`Remove the link ${label}`} icon="remove" onPress={() => removeLinkOf(link)} />
    </View>
  );
};

function Attached({ attachment, forAll }: { attachment: Attachment; forAll: boolean }) {
  const { name, type, size, data } = attachment;
  return (
    <View className="gap-1 border-b border-line pb-1">
      <View className="flex-row items-center gap-1">
        <View className="flex-1">
          <Words>{name}</Words>
          <Words size="xs" tone="soft">
            {sizeWords(size)}
            {forAll ? ' · all times' : ''}
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
