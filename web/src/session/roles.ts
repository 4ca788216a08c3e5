import type { Role } from '../api/types'
import { t } from '../words'

export const ROLES: Readonly<Record<Role, { label: string, may: string }>> = {
  owner: { label: t('session.roles.owner'), may: t('session.roles.ownerMay') },
  restorer: { label: t('session.roles.restorer'), may: t('session.roles.restorerMay') },
  apprentice: { label: t('session.roles.apprentice'), may: t('session.roles.apprenticeMay') },
  counter: { label: t('session.roles.counter'), may: t('session.roles.counterMay') },
}
