export { TicketStation } from './TicketStation';
