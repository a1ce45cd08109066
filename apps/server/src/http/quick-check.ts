import { getFromContainer, getMetadataStorage, type ValidatorConstraintInterface } from 'class-validator';

type Contract = abstract new (...args: never[]) => object;
type Check = (object: Readonly<Record<string, unknown>>) => boolean;

const known = new Map<Contract, Check | undefined>();

/**
 * Whether an instance of a contract keeps all its rules, asked of the same rules as `validateSync` asks, without looking
 * for what they are each time. Nothing where the contract has rules of another kind (nested ones, lists of values): those
 * are asked the usual way.
 */
export function quickCheck(type: Contract): Check | undefined {
  if (!known.has(type)) known.set(type, made(type));
  return known.get(type);
}

function made(type: Contract): Check | undefined {
  const storage = getMetadataStorage();
  const rules = storage.getTargetValidationMetadatas(type, '', true, false);
  const checks = rules.map((rule): [field: string, optional: boolean, check: Check] | undefined => {
    const { propertyName: field, constraints = [], each, type: kind } = rule;
    if (each) return undefined;
    if (kind === 'conditionalValidation') {
      const asks = constraints[0] as (object: object, value: unknown) => boolean;
      return [field, true, (object) => asks(object, object[field])];
    }
    const [asked, ...more] = storage.getTargetValidatorConstraints(rule.constraintCls);
    if (kind !== 'customValidation' || !asked || asked.async || more.length > 0) return undefined;
    const constraint = getFromContainer<ValidatorConstraintInterface>(asked.target as never);
    const about = { targetName: type.name, constraints, property: field };
    return [
      field,
      false,
      (object) => constraint.validate(object[field], { ...about, object, value: object[field] }) === true,
    ];
  });
  if (checks.some((check) => check === undefined)) return undefined;
  const all = checks as [field: string, optional: boolean, check: Check][];
  const fields = [...new Set(all.map(([field]) => field))].map((field) => {
    const of = (optional: boolean): readonly Check[] =>
      all.filter(([name, kind]) => name === field && kind === optional).map(([, , check]) => check);
    return { asked: of(true), rules: of(false) };
  });
  return (object) =>
    fields.every(
      ({ asked, rules: of }) => !asked.every((wanted) => wanted(object)) || of.every((keeps) => keeps(object)),
    );
}
