import { holdPictures } from './hold-pictures';

holdPictures(1, 50);
