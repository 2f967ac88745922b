import { RegisterStation } from '@/stations/register/RegisterStation'

export default function RegisterPage() {
  return <RegisterStation />
}
