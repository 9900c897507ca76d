import { Text } from 'react-native';

/** A page of the same framework with nothing on it, which `npm run bench` measures beside the application. */
export default function Empty() {
  return <Text>Empty</Text>;
}
