using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>A row of the table "device-inside".</summary>
/// <param name="Type">The type of device.</param>
/// <param name="Inside">What it has between the two.</param>
/// <param name="One">The mark of the one.</param>
/// <param name="Other">The mark of the other.</param>
public sealed record DeviceInsideRow(DeviceType Type, InsideKind Inside, string One, string Other);
