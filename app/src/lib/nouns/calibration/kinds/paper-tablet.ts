import {
  MOST_NARROW,
} from '@katachron/core';
