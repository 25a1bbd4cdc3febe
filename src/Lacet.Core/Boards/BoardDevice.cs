using Lacet.Core.Drawings;

namespace Lacet.Core.Boards;

/// <summary>A device on the board, or the piece of it that stands on one rail.</summary>
/// <param name="DeviceId">Which; null for landings that belong to none.</param>
/// <param name="Name">Its name.</param>
/// <param name="Form">What it looks like.</param>
/// <param name="Label">Where its name is printed, mm; taller than wide is read from below.</param>
/// <param name="Body">Its outline, mm.</param>
/// <param name="Parts">What is drawn of it, lowest first.</param>
/// <param name="Slots">Its landings, in order.</param>
public sealed record BoardDevice(
    Guid? DeviceId, string Name, DeviceForm Form, SceneBox Label, SceneBox Body, IReadOnlyList<ScenePart> Parts, IReadOnlyList<BoardSlot> Slots)
{
    /// <summary>The room that it needs, with the ends that leave it, mm.</summary>
    internal SceneBox Room => Slots.SelectMany(s => s.Stubs).Select(s => new SceneBox(Math.Min(s.X, s.ToX), Math.Min(s.Y, s.ToY), Math.Max(s.X, s.ToX), Math.Max(s.Y, s.ToY)))
        .Concat(Slots.Select(s => s.Box)).Append(Label).Aggregate(Body, (a, b) => a.With(b));

    internal BoardDevice Moved(double dx, double dy) => this with
    {
        Label = Label.Moved(dx, dy),
        Body = Body.Moved(dx, dy),
        Parts = [.. Parts.Select(p => p with { Path = p.Path.Moved(dx, dy) })],
        Slots = [.. Slots.Select(s => s.Moved(dx, dy))],
    };
}
