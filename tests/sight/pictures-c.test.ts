import { holdPictures } from './hold-pictures';

holdPictures(101, 150);
