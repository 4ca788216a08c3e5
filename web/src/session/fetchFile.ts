import { api } from '../api/client'

/** What a browser fetches as a file shows no dialog: whoever is not sure is asked for the password before. */
export const fetchFile = async (path: string): Promise<void> => {
  await api.get('/session/sure')
  location.assign(`/api${path}`)
}
