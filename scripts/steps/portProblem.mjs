/** Why a port cannot be served on, in a sentence. */
export function portProblem(error, port, host) {
  return error.code === 'EADDRINUSE'
    ? `Port ${port} is in use, perhaps by Gold Kettle itself. Open http://${host}:${port} or set GOLD_KETTLE_PORT to another.`
    : `Port ${port} on ${host} cannot be used: ${error.message}.`
}
