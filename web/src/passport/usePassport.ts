import { computed, watch } from 'vue'
import { api } from '../api/client'
import type { CameBackInput, CareKind, CareUseInput, CausesView, Fault, PassportView } from '../api/types'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { fetchFile } from '../session/fetchFile'

/** A piece over all its visits, and what is written into its passport. */
export const usePassport = (path: () => string) => {
  const { value: passport, problem, reload } = useLoad(() => api.get<PassportView>(path()))
  watch(path, () => void reload(), { immediate: true })
  const hands = useAct()
  const take = (answer: PassportView): void => {
    passport.value = answer
  }
  const at = (what: string): string => `/passports/${passport.value?.id ?? 0}/${what}`
  return {
    passport,
    problem: computed(() => problem.value || hands.problem.value),
    reload,
    hands,
    use: (given: CareUseInput) => hands.run(() => api.put<PassportView>(at('use'), given), take),
    caredFor: (kind: CareKind) => hands.run(() => api.post<PassportView>(at('cares'), { kind }), take),
    show: () => hands.run(() => api.post<PassportView>(at('care-page')), take),
    hide: () => hands.run(() => api.remove<PassportView>(at('care-page')), take),
    store: (where: string, until: string | null) =>
      hands.run(() => api.put<PassportView>(at('stored'), { version: passport.value?.version ?? 0, at: where, until }), take),
    handOver: (to: number) => hands.run(() => api.put<PassportView>(at('owner'), { version: passport.value?.version ?? 0, to }), take),
    causes: (visit: number, fault: Fault, then: (found: CausesView) => void) => hands.run(() => api.get<CausesView>(`/pieces/${visit}/causes/${fault}`), then),
    cameBack: (piece: number, given: CameBackInput) => hands.run(() => api.put<PassportView>(`/pieces/${piece}/came-back`, given), take),
    /** Its archive, for another workshop. */
    handOn: (reach: boolean) => hands.run(() => fetchFile(`/passports/${passport.value?.id ?? 0}.tar${reach ? '?reach=1' : ''}`), () => undefined),
    didNot: (piece: number) => hands.run(() => api.remove<PassportView>(`/pieces/${piece}/came-back`), take),
  }
}
