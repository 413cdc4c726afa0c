export { equipmentIds, equipmentName, isEquipmentId } from './equipment';
