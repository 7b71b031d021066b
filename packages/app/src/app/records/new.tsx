export { RecordNew as default } from '../../screens/records/record-new';
