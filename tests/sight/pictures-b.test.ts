import { holdPictures } from './hold-pictures';

holdPictures(51, 100);
