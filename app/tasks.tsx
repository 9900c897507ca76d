export { TasksScreen as default } from '@/features/tasks/TasksScreen';
