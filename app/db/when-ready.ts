/** Times that a busy server is asked again, and how long it is left alone where it does not say, s. */
const ASKED_AGAIN = 6
const BUSY_S = 3

/** The server's answer; one that is busy is asked again when it says. */
export async function whenReady(address: string, order?: RequestInit): Promise<Response> {
  for (let tries = 1; ; tries += 1) {
    const answer = await fetch(address, order)
    if (answer.status !== 503 || tries > ASKED_AGAIN) return answer
    const seconds = Number(answer.headers.get('Retry-After')) || BUSY_S
    await new Promise((resolve) => setTimeout(resolve, seconds * 1000))
  }
}
