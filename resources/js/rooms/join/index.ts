export { Join } from './components/Join';
