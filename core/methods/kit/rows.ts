export * from '../../quantities/rows'
