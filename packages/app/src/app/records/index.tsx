export { RecordsScreen as default } from '../../screens/records/records-screen';
