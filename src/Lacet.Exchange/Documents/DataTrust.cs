namespace Lacet.Exchange.Documents;

/// <summary>How far the data of a landing can be trusted.</summary>
public enum DataTrust
{
    /// <summary>Read off the device.</summary>
    Marking,

    /// <summary>From its maker's sheet.</summary>
    Maker,

    /// <summary>Typical of such landings.</summary>
    Generic,
}
