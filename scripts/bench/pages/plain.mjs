import { readFileSync } from 'node:fs'
import { createServer } from 'node:http'

/** Answers what it was given from memory: the same bytes with the same headers, and does nothing else. */
const answers = new Map(
  JSON.parse(readFileSync(process.env.ANSWERS ?? '', 'utf8')).map(({ path, headers, body }) => [
    path,
    { headers, body: Buffer.from(body, 'base64') },
  ]),
)
createServer((request, response) => {
  const answer = answers.get(request.url)
  response.writeHead(answer === undefined ? 404 : 200, answer?.headers)
  response.end(answer?.body)
}).listen(Number(process.env.PORT), '127.0.0.1')
