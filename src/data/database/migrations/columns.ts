import { DataTypes, type ModelAttributeColumnOptions } from 'sequelize'

declare const holds: unique symbol

/** One column, and the type of what a row holds in it: the rows' types are made of these, so that a column is said once. */
export type Column<Value> = ModelAttributeColumnOptions & { readonly [holds]?: Value }

/** What a row holds in a column. */
export type Held<C> = C extends { readonly [holds]?: infer Value } ? Value : never

const column = <Value>(options: ModelAttributeColumnOptions): Column<Value> => options

/** The kinds of column a table is made of. */
export const text = column<string>({ type: DataTypes.TEXT, allowNull: false })
export const optionalText = column<string | null>({ type: DataTypes.TEXT, allowNull: true })
export const whole = column<number>({ type: DataTypes.INTEGER, allowNull: false })
export const optionalWhole = column<number | null>({ type: DataTypes.INTEGER, allowNull: true })
export const real = column<number>({ type: DataTypes.DOUBLE, allowNull: false })
export const optionalReal = column<number | null>({ type: DataTypes.DOUBLE, allowNull: true })
export const yesNo = column<boolean>({ type: DataTypes.BOOLEAN, allowNull: false })
export const key = { ...text, primaryKey: true as const }
export const numberKey = { ...whole, primaryKey: true as const }
/** Counted by the database: left out of what is written. */
export const serial = {
  ...column<number>({ type: DataTypes.INTEGER }),
  primaryKey: true as const,
  autoIncrement: true as const,
}
export const ofJob = { ...text, references: { model: 'jobs', key: 'id' } }
export const jobKey = { ...ofJob, primaryKey: true as const }

/** A text that is one of a list's keys. */
export const textOf = <Value extends string>() => text as Column<Value>
export const optionalTextOf = <Value extends string>() => optionalText as Column<Value | null>
/** A whole document. */
export const json = <Value>() => column<Value>({ type: DataTypes.JSON, allowNull: false })
export const optionalJson = <Value>() => column<Value | null>({ type: DataTypes.JSON, allowNull: true })
