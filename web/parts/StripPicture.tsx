import type { Schema } from '../api/client'
import css from './StripPicture.module.css'

/** Frames across the picture; the stand-ins' strip is this long. */
const FRAMES = 480

/** The stand-in's little world: clips, playhead, marks and markers. */
export function StripPicture({ state }: { state: Schema['StripState'] }) {
  const { playhead, mark_in: from, mark_out: to } = state
  return (
    <figure className={css.strip}>
      <svg
        viewBox={`-4 0 ${FRAMES + 8} 64`}
        role="img"
        aria-label={`${state.clips.length} clips, playhead at frame ${playhead}, ${state.running}`}
      >
        {(from !== null || to !== null) && (
          <rect className={css.stripRange} x={from ?? 0} width={Math.max(1, (to ?? FRAMES) - (from ?? 0))} y={6} height={5} />
        )}
        {state.clips.map((clip) => (
          <g key={`${clip.from} ${clip.name}`} className={css.stripClip} data-off={clip.off}>
            <rect x={clip.from + 0.75} width={clip.to - clip.from - 1.5} y={16} height={30} rx={2} />
            <svg x={clip.from} y={16} width={Math.max(0, clip.to - clip.from - 3)} height={30}>
              <text x={6} y={18}>
                {clip.name}
              </text>
            </svg>
          </g>
        ))}
        {state.markers.map((marker) => (
          <path key={marker} className={css.stripMarker} d={`M${marker - 4} 50h8l-4 7z`} />
        ))}
        {state.keyframes.map((frame) => (
          <path key={frame} className={css.stripKeyframe} d={`M${frame} 47l3.5 4-3.5 4-3.5-4z`} />
        ))}
        <path className={css.stripPlayhead} d={`M${playhead} 2v60`} />
      </svg>
      <figcaption>
        Frame {playhead} · {state.running}
        {from !== null && ` · in ${from}`}
        {to !== null && ` · out ${to}`} · {state.is_borrowed ? 'borrowed: ' : ''}
        {state.tool}
        {state.tracks > 1 && ` · ${state.tracks} tracks`}
        <br />
        Beside it: {state.things.length === 0 ? 'nothing any more' : state.things.join(', ')}
      </figcaption>
    </figure>
  )
}
