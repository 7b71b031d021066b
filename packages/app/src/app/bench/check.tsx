export { CheckRecipe as default } from '../../screens/bench/check-recipe';
