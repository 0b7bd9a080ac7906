export {
  bindsPasskeys,
  SecondFactors,
  takeFactorsAway,
  type FactorsOf,
  type Holder,
  type PasskeyLine,
  type Place,
} from './second-factors.js';
export { digest, isToken, newToken, sessionName } from './tokens.js';
