export { type EquipmentId, equipmentIds, equipmentName, isEquipmentId } from './equipment';
