namespace Lacet.Core.Quantities;

/// <summary>Whose colours, practice and words apply.</summary>
public enum Region
{
    /// <summary>North America: NEC colours; ground and hot.</summary>
    NorthAmerica,

    /// <summary>IEC colours; earth and line.</summary>
    Iec,
}
