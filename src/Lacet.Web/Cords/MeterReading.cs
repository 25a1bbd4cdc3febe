namespace Lacet.Web.Cords;

/// <summary>A measurement that is asked of the meter.</summary>
/// <param name="Cord">Which cord: any text, the same for the same cord.</param>
/// <param name="Conductors">Two or three.</param>
/// <param name="Blade">Which blade of its plug, from 0.</param>
/// <param name="End">Which bare end, from 0.</param>
public sealed record MeterQuestion(string Cord, int Conductors, int Blade, int End);

/// <summary>What the meter reads.</summary>
/// <param name="Ohms">Ω; null where there is no reading.</param>
/// <param name="Simulated">True: a stand-in read it.</param>
public sealed record MeterReading(double? Ohms, bool Simulated);
