export { TicketStation as Station } from './TicketStation';
