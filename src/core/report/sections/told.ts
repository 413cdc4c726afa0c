import { materialTold } from '../../car';
import { aboutTold, equipmentTold } from '../../readings';
import { listed, own, starting, type Text, type Told } from '../../told';
import {
  driveGroups,
  driveTold,
  keptTold,
  type NotableMaterial,
  statementTold,
  storyTold,
  toFollowTold,
} from '../../walk';
import { isoDay } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';
import { say } from '../words';
import { remedyTold } from './findings';

type Tellings = Pick<
  ReportDocument,
  'statements' | 'build' | 'story' | 'drove' | 'equipment' | 'toFollow' | 'remedies' | 'othersPutRight'
>;

/** What was said of more than a part: of sides, of the car, its story, its equipment, and what is to become of things that are no findings. */
export function whatWasTold(told: WalkTold): Told<Tellings> {
  const { state, inputs } = told;
  const statements = [...state.statements.values()].map((made) => starting(statementTold(made, told)));
  const story = [...state.story.values()].map((fact) => starting(storyTold(fact)));
  const drove = driveGroups.flatMap((group) => {
    const said = state.drove.get(group);
    return said ? [starting(driveTold(group, said))] : [];
  });
  const toFollow = [...state.toFollow.values()].map((each) => starting(toFollowTold(each)));
  const build = buildTold(told);
  const remedies = remediesTold(told);
  const othersPutRight = mendedBeside(told);
  const equipment = equipmentTold(state, inputs.car);
  return {
    ...(statements.length > 0 && { statements }),
    ...(build.length > 0 && { build }),
    ...(story.length > 0 && { story }),
    ...(drove.length > 0 && { drove }),
    ...(toFollow.length > 0 && { toFollow }),
    ...(equipment && {
      equipment: {
        ...equipment,
        tried: equipment.tried.map(starting),
        fitted: equipment.fitted.map(starting),
        said: equipment.said.map(starting),
        absent: equipment.absent.map(starting),
      },
    }),
    ...(remedies.length > 0 && { remedies }),
    ...(othersPutRight.length > 0 && { othersPutRight }),
  };
}

function buildTold({ state, nameOf }: WalkTold): Text[] {
  const materials = new Map<NotableMaterial, Text[]>();
  for (const [part, material] of state.materials)
    materials.set(material, [...(materials.get(material) ?? []), nameOf(part)]);
  const film = [...state.film].filter(([, { cover }]) => cover !== 'none');
  return [
    ...[...materials].map(([material, parts]) =>
      say('built.of', { material: materialTold(material), parts: listed('comma', parts) }),
    ),
    ...film.map(([part, { cover, where }]) => {
      const values = { part: nameOf(part), film: say(`film.${cover}`) };
      return where ? say('built.filmWhere', { ...values, where: own(where) }) : say('built.film', values);
    }),
  ].map(starting);
}

function remediesTold(told: WalkTold): Told<NonNullable<Tellings['remedies']>> {
  const today = isoDay(told.inputs.frozenAt);
  return [...told.state.remedies.values()].flatMap(({ about, ...remedy }) =>
    remedy.checked?.found === 'gone'
      ? []
      : [
          {
            what: starting(aboutTold(about, told)),
            ...remedyTold(remedy, today),
          },
        ],
  );
}

/** What is no finding and was found gone when it was looked at again, with its pictures of after. */
function mendedBeside(told: WalkTold): Told<NonNullable<Tellings['othersPutRight']>> {
  return [...told.state.remedies.values()].flatMap(({ about, checked, ...remedy }) => {
    if (checked?.found !== 'gone') return [];
    const shown = new Set(
      told.state.photos
        .filter(({ role }) => role === 'after')
        .filter(
          ({ part, function: works, finding }) =>
            !finding &&
            ((about.of === 'part' && part === about.part) ||
              (about.of === 'function' && works === about.function)),
        )
        .map(({ sha256 }) => sha256),
    );
    return [
      {
        what: starting(aboutTold(about, told)),
        says: checked.says ?? say('found.gone'),
        at: checked.at,
        kept: keptTold(remedy, checked.at),
        after: told.photos.flatMap(({ sha256, number }) => (shown.has(sha256) ? [number] : [])),
      },
    ];
  });
}
