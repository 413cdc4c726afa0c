export { type AuditKind, auditKinds, auditWords } from './audit';
export { mayNote } from './mayNote';
export { type Act, acts, actsOf, mayAppoint, mayDo, type Role, roleNames, roles } from './roles';
export {
  PIN_DIGITS,
  passwordProblem,
  pinProblem,
} from './secrets';
