export { programVersion } from '@/records/programVersion'
