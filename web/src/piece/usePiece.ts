import { computed } from 'vue'
import { api } from '../api/client'
import type { AgreementInput, FindingsInput, HasInput, OffInput, PartAgreementInput, PartsInput, PieceView, PlanView, TrialInput } from '../api/types'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'

/** A piece that is looked over: every change answers with the piece as it then stands. */
export const usePiece = (id: number) => {
  const { value: piece, problem: unread, reload } = useLoad(() => api.get<PieceView>(`/pieces/${id}`))
  const { busy, problem: refused, run } = useAct(reload)
  const take = (view: PieceView): void => {
    piece.value = view
  }
  const change = (act: (version: number) => Promise<PieceView>): Promise<boolean> => run(() => act(piece.value?.version ?? 0), take)

  return {
    piece,
    busy,
    reload,
    problem: computed(() => refused.value || unread.value),
    see: (parts: Omit<PartsInput, 'version'>) => change((version) => api.put<PieceView>(`/pieces/${id}/parts`, { ...parts, version })),
    mark: (given: Omit<FindingsInput, 'version'>) => change((version) => api.post<PieceView>(`/pieces/${id}/findings`, { ...given, version })),
    unmark: (finding: number) => change((version) => api.remove<PieceView>(`/pieces/${id}/findings/${finding}`, { version })),
    tried: (trial: Omit<TrialInput, 'version'>) => change((version) => api.post<PieceView>(`/pieces/${id}/trials`, { ...trial, version })),
    forgetTrial: (trial: number) => change((version) => api.remove<PieceView>(`/pieces/${id}/trials/${trial}`, { version })),
    partAgreement: (given: Omit<PartAgreementInput, 'version'>) =>
      change((version) => api.put<PieceView>(`/pieces/${id}/part-agreement`, { ...given, version })),
    takeOff: (given: Omit<OffInput, 'version'>) => change((version) => api.put<PieceView>(`/pieces/${id}/off`, { ...given, version })),
    has: (given: Omit<HasInput, 'version'>) => change((version) => api.put<PieceView>(`/pieces/${id}/has`, { ...given, version })),
    copy: (from: number) => change((version) => api.post<PieceView>(`/pieces/${id}/copy`, { from, version })),
    agree: (agreement: Omit<AgreementInput, 'version'>) => change((version) => api.put<PieceView>(`/pieces/${id}/agreement`, { ...agreement, version })),
    plan: async (): Promise<boolean> =>
      change(async (version) => {
        await api.post<PlanView>(`/pieces/${id}/plan`, { version })
        return api.get<PieceView>(`/pieces/${id}`)
      }),
  }
}
