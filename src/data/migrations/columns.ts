import { DataTypes } from 'sequelize'

/** The kinds of column a table is made of. */
export const text = { type: DataTypes.TEXT, allowNull: false }
export const optionalText = { type: DataTypes.TEXT, allowNull: true }
export const whole = { type: DataTypes.INTEGER, allowNull: false }
export const optionalWhole = { type: DataTypes.INTEGER, allowNull: true }
export const real = { type: DataTypes.DOUBLE, allowNull: false }
export const optionalReal = { type: DataTypes.DOUBLE, allowNull: true }
export const yesNo = { type: DataTypes.BOOLEAN, allowNull: false }
export const json = { type: DataTypes.JSON, allowNull: false }
export const optionalJson = { type: DataTypes.JSON, allowNull: true }
export const key = { ...text, primaryKey: true }
export const numberKey = { ...whole, primaryKey: true }
export const serial = { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true }
export const ofJob = { ...text, references: { model: 'jobs', key: 'id' } }
export const jobKey = { ...ofJob, primaryKey: true }
