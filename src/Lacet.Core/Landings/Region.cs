namespace Lacet.Core.Landings;

/// <summary>Whose colours and practice apply.</summary>
public enum Region
{
    /// <summary>North America: NEC colours.</summary>
    NorthAmerica,

    /// <summary>IEC colours.</summary>
    Iec,
}
