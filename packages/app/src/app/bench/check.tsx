export { CheckRecipe as default } from '../../screens/lazy-bench';
