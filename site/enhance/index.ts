import { keepUpToDate } from './keep-up-to-date'

const pageId = document.body.dataset.page
if (pageId !== undefined) keepUpToDate(pageId)
