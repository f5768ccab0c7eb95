import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { KIT } from '../../api/keys'

const presetsQuery = queryOptions({ queryKey: [...KIT, 'presets'], queryFn: () => answer(api.GET('/presets')) })

export const usePresets = () => useQuery(presetsQuery)
