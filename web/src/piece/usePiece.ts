import { computed, ref } from 'vue'
import { api, Problem } from '../api/client'
import type { AgreementInput, FindingInput, OffInput, PartAgreementInput, PartsInput, PieceView, PlanView, TrialInput } from '../api/types'
import { useLoad } from '../kit/useLoad'

/** A piece that is looked over: every change answers with the piece as it then stands. */
export const usePiece = (id: number) => {
  const { value: piece, problem: unread, reload } = useLoad(() => api.get<PieceView>(`/pieces/${id}`))
  const refused = ref('')
  const busy = ref(false)

  const change = async (act: (version: number) => Promise<PieceView>): Promise<boolean> => {
    if (piece.value === null) {
      return false
    }
    busy.value = true
    try {
      piece.value = await act(piece.value.version)
      refused.value = ''
      return true
    } catch (error) {
      refused.value = error instanceof Problem ? error.detail : 'That did not work.'
      if (error instanceof Problem && error.type === 'changed-meanwhile') {
        await reload()
      }
      return false
    } finally {
      busy.value = false
    }
  }

  return {
    piece,
    busy,
    reload,
    problem: computed(() => refused.value || unread.value),
    see: (parts: Omit<PartsInput, 'version'>) => change((version) => api.put<PieceView>(`/pieces/${id}/parts`, { ...parts, version })),
    mark: (finding: Omit<FindingInput, 'version'>) => change((version) => api.post<PieceView>(`/pieces/${id}/findings`, { ...finding, version })),
    unmark: (finding: number) => change((version) => api.remove<PieceView>(`/pieces/${id}/findings/${finding}`, { version })),
    tried: (trial: Omit<TrialInput, 'version'>) => change((version) => api.post<PieceView>(`/pieces/${id}/trials`, { ...trial, version })),
    forgetTrial: (trial: number) => change((version) => api.remove<PieceView>(`/pieces/${id}/trials/${trial}`, { version })),
    partAgreement: (given: Omit<PartAgreementInput, 'version'>) => change((version) => api.put<PieceView>(`/pieces/${id}/part-agreement`, { ...given, version })),
    takeOff: (given: Omit<OffInput, 'version'>) => change((version) => api.put<PieceView>(`/pieces/${id}/off`, { ...given, version })),
    copy: (from: number) => change((version) => api.post<PieceView>(`/pieces/${id}/copy`, { from, version })),
    agree: (agreement: Omit<AgreementInput, 'version'>) => change((version) => api.put<PieceView>(`/pieces/${id}/agreement`, { ...agreement, version })),
    plan: async (): Promise<boolean> => change(async (version) => {
      await api.post<PlanView>(`/pieces/${id}/plan`, { version })
      return api.get<PieceView>(`/pieces/${id}`)
    }),
  }
}
