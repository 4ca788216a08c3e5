import { beforeEach, describe, expect, it } from 'vitest'
import type { FirstPairView, PieceProgress } from '../src/api/types'
import FirstPair from '../src/kit/FirstPair.vue'
import { ok, serving } from './fakeApi'
import { says, settled, shown, words as text } from './mounting'

beforeEach(() => {
  localStorage.clear()
})

const led = async (progress: PieceProgress | null) => {
  const piece = progress === null ? { piece: null, ticket: null, name: null } : { piece: 7, ticket: 3, name: 'My boots' }
  const view: FirstPairView = { progress, ...piece }
  serving({ 'GET /first-pair': ok(view) })
  const it = shown(FirstPair, {})
  await settled()
  return it
}

describe('the first pair of a workshop', () => {
  it.each([
    [null, 'take in', 'Take your first pair in', '/counter/new'],
    ['to-look-over', 'look over', 'tap each part', '/pieces/7'],
    ['to-plan', 'plan', 'Let it be planned', '/pieces/7'],
    ['referred', 'plan', 'for others', '/pieces/7/plan'],
    ['planned', 'work', 'the plan is made', '/bench'],
    ['in-work', 'work', 'at your own pace', '/bench'],
    ['ready', 'hand over', 'care card', '/tickets/3/leaving'],
  ] as const)('is led from “%s” on: %s', async (progress, stretch, says, to) => {
    const it = await led(progress)
    expect(it.find('[aria-current=step]').text()).toBe(stretch)
    expect(text(it)).toContain(says)
    expect(it.find('a').attributes('href')).toBe(to)
  })

  it.each(['collected', 'called-off'] as const)('is led no further once it is %s', async (progress) => {
    expect((await led(progress)).find('aside').exists()).toBe(false)
  })

  it('is not led by whoever knows the way, here and on the next page', async () => {
    const it = await led('planned')
    await says(it, 'I know my way').trigger('click')
    expect(it.find('aside').exists()).toBe(false)
    expect((await led('planned')).find('aside').exists()).toBe(false)
  })
})
