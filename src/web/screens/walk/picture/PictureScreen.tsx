import { useParams } from 'react-router';
import { WalkFrame } from '../../../shell/WalkFrame';
import { PictureDesk } from './PictureDesk';

/** One picture to look at closely: mark it, hide what nobody should see, measure on it. */
export function PictureScreen() {
  const { photo = '' } = useParams();
  return (
    <WalkFrame title="Picture" back={{ to: '/pictures', label: 'Back to the pictures' }}>
      {(walk) => <PictureDesk key={photo} walk={walk} sha256={photo} />}
    </WalkFrame>
  );
}
