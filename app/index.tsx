import { Text, View } from 'react-native';
export default function Index() { return <View className="hue-iris bg-fill"><Text className="text-pine text-lg font-strong">Hi</Text></View>; }
