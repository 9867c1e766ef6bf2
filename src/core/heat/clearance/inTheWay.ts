/** Something that would have to move for the heater to stand where it is wanted. */
export interface InTheWay {
  id: string
  name: string
  lacksM: number
}
