import { WalkFrame } from '../../../shell/WalkFrame';
import { DroveEntry } from './DroveEntry';
import { EquipmentEntry } from './EquipmentEntry';
import { FirstLinesEntry } from './FirstLinesEntry';
import { StoryEntry } from './StoryEntry';
import { ToFollowEntry } from './ToFollowEntry';
import { WideRemedies } from './WideRemedies';

/** What is known of a car beyond looking at it: its story, its equipment, how it drove. */
export const StoryScreen = () => (
  <WalkFrame title="Story, equipment, drive">
    {(walk) => (
      <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-2">
        <div className="space-y-8 p-3 lg:p-5">
          <FirstLinesEntry walk={walk} />
          <ToFollowEntry walk={walk} />
          <StoryEntry walk={walk} />
          <DroveEntry walk={walk} />
        </div>
        <div className="space-y-8 border-ink bg-sheet p-3 max-lg:border-t lg:border-l lg:p-5">
          <EquipmentEntry walk={walk} />
          <WideRemedies walk={walk} />
        </div>
      </main>
    )}
  </WalkFrame>
);
