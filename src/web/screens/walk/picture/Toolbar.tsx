import clsx from 'clsx';
import { ArrowUpRight, Circle, Crosshair, Eye, EyeOff, Ruler, Slash, Type } from 'lucide-react';
import { type Tool, tools, toolWords } from './tools';

const icons: Record<Tool, React.ReactNode> = {
  look: <Eye aria-hidden size={20} />,
  ring: <Circle aria-hidden size={20} />,
  arrow: <ArrowUpRight aria-hidden size={20} />,
  line: <Slash aria-hidden size={20} />,
  text: <Type aria-hidden size={20} />,
  hide: <EyeOff aria-hidden size={20} />,
  spot: <Crosshair aria-hidden size={20} />,
  measure: <Ruler aria-hidden size={20} />,
};

/** What can be done to a picture, one at a time. */
export function Toolbar({ tool, onTool }: { tool: Tool; onTool: (tool: Tool) => void }) {
  return (
    <div role="toolbar" aria-label="Tools" className="grid grid-cols-8 border-b border-line lg:grid-cols-4">
      {tools.map((each) => (
        <button
          key={each}
          type="button"
          aria-pressed={each === tool}
          onClick={() => onTool(each)}
          className={clsx(
            'flex min-h-14 flex-col items-center justify-center gap-0.5 text-xs lg:text-sm',
            each === tool && 'bg-accent text-on-accent',
          )}
        >
          {icons[each]}
          {toolWords[each].name}
        </button>
      ))}
    </div>
  );
}
