export { SignIn } from './components/SignIn';
