import NotFound from './(workshop)/not-found'
import WorkshopLayout from './(workshop)/layout'

/** An address that leads to no page at all: said as within the workshop. */
const NowherePage = () => (
  <WorkshopLayout>
    <NotFound />
  </WorkshopLayout>
)
export default NowherePage
