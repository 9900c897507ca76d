import { place } from '@/features/shell/place';
import { later, useLater } from '@/ui/later';

const tasks = later(() => import('@/features/tasks/TasksScreen'));

export default place('Tasks', () => {
  const { TasksScreen } = useLater(tasks);
  return <TasksScreen />;
});
