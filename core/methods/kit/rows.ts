export {
  amount,
  coefficients,
  loss,
  minutes,
  row,
  seconds,
  share,
  spoilage,
  sticking,
} from '../../quantities'
