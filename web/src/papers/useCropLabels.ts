import { useTranslation } from 'react-i18next';

/** What whoever listens is told of the frame around a part of a picture, and of its handles. */
export function useCropLabels() {
  const { t } = useTranslation();
  const corner = t('who.look.corner');
  const edge = t('who.look.edge');
  return {
    cropArea: t('who.look.area'),
    nwDragHandle: corner,
    nDragHandle: edge,
    neDragHandle: corner,
    eDragHandle: edge,
    seDragHandle: corner,
    sDragHandle: edge,
    swDragHandle: corner,
    wDragHandle: edge,
  };
}
