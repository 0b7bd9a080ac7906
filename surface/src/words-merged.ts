export { wordsMerged } from '@tin-porch/core/words-merged';
