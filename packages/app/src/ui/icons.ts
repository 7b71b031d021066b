/** One deep import per icon: the index would bring them all. */
export { default as Flask } from 'lucide-react-native/icons/flask-conical';
export { default as BookOpen } from 'lucide-react-native/icons/book-open';
export { default as Cog } from 'lucide-react-native/icons/settings';
export { default as Shed } from 'lucide-react-native/icons/house';
export { default as Brook } from 'lucide-react-native/icons/route';
export { default as Book } from 'lucide-react-native/icons/library';
export { default as Sprout } from 'lucide-react-native/icons/sprout';
export { default as Sunrise } from 'lucide-react-native/icons/sunrise';
export { default as Cloud } from 'lucide-react-native/icons/cloud-sun';
export { default as Warning } from 'lucide-react-native/icons/triangle-alert';
