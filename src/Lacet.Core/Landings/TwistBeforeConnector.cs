namespace Lacet.Core.Landings;

/// <summary>Whether wires are twisted together before a twist-on connector goes on.</summary>
public enum TwistBeforeConnector
{
    /// <summary>Twisted first, with pliers.</summary>
    Yes,

    /// <summary>As the connector’s sheet says.</summary>
    AsTheSheetSays,
}
