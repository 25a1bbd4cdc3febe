namespace Lacet.Core.Cords;

/// <summary>What can be seen of a conductor besides its colour.</summary>
public enum IdentityCue
{
    /// <summary>Its side of a flat cord has ribs, a groove or a tracer.</summary>
    Ribbed,

    /// <summary>Its side of a flat cord is smooth.</summary>
    Smooth,

    /// <summary>Its side of a flat cord alone is printed on.</summary>
    Printed,

    /// <summary>It ends at the wide blade of a polarised two-blade plug.</summary>
    WideBlade,

    /// <summary>It ends at the narrow blade of a polarised two-blade plug.</summary>
    NarrowBlade,

    /// <summary>It ends at the earth pin.</summary>
    EarthPin,

    /// <summary>It is under a brass screw.</summary>
    BrassScrew,

    /// <summary>It is under a silver screw.</summary>
    SilverScrew,

    /// <summary>It is under a green screw.</summary>
    GreenScrew,

    /// <summary>It ends at the pin of an appliance’s connector that is marked L.</summary>
    ConnectorLine,

    /// <summary>It ends at the pin of an appliance’s connector that is marked N.</summary>
    ConnectorNeutral,

    /// <summary>It ends at the pin of an appliance’s connector that is marked as earth.</summary>
    ConnectorEarth,

    /// <summary>A white one that is marked again with another colour.</summary>
    Remarked,
}
