export { wilson, type Share } from './wilson';
