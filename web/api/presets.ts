import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api, type Schema } from './client'
import { KIT } from './keys'

const presetsQuery = queryOptions({ queryKey: [...KIT, 'presets'], queryFn: () => answer(api.GET('/presets')) })

/** The presets that somebody sees. */
export const usePresets = () => useQuery(presetsQuery)

/** All releases of some presets, those of each together, the newest first. */
export const releasesOf = (presets: readonly Schema['Preset'][]): Schema['Release'][] => presets.flatMap(({ releases }) => releases)
