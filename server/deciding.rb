# frozen_string_literal: true

module Server
  # The question which method each unit of a project is to be made by, all together: its units by their labels, its fabrics by their names,
  # the maker's own drawer, hands and priorities.
  class Deciding
    # What a fabric is called that nobody chose.
    ANY = "any fabric"

    # @param project [Models::Project]
    def initialize(project)
      @project = project
      @maker = project.maker
      @units = project.units.includes(:pick, unit_fabrics: :fabric).to_a
    end

    # @param limits [Hash, nil] as the core reads them
    # @param keep [Array<Integer>] ids of units whose pick stays
    # @return [Hash] a choose document
    # @raise [Problem] where it has no units
    def document(limits = nil, keep = [])
      raise Problem.at("", "has no units: allowed is a project with some") if @units.empty?

      { "units" => @units.map { |unit| wanted(unit, keep) }, "stock" => stock, "seam_allowance" => @project.seam_allowance,
        "tools" => @project.drawer, "maker" => @maker.profile, "priorities" => @maker.priorities, "measure" => @project.measure,
        "limits" => limits }.compact
    end

    # @return [Hash{String => String}] the methods that are picked now, by label
    def now
      @units.select(&:pick).to_h { |unit| [called(unit), unit.pick.method_id] }
    end

    # @param picks [Hash{String => String}] methods by the unit's id
    # @return [Hash{String => String}] the same by label
    def by_label(picks)
      @units.select { |unit| picks.key?(unit.id.to_s) }.to_h { |unit| [called(unit), picks.fetch(unit.id.to_s)] }
    end

    private

    def wanted(unit, keep)
      { "id" => called(unit), "unit" => unit.spec, "fabrics" => fabrics(unit),
        "keep" => (unit.pick&.method_id if keep.include?(unit.id)) }.compact
    end

    def fabrics(unit)
      chosen = unit.unit_fabrics.to_h { |held| [held.role, names.fetch(held.fabric_id)] }
      OakenGauge.roles(unit.spec).to_h { |role| [role, chosen.fetch(role, ANY)] }
    end

    # Those of one name are told apart by their numbers; the page calls them the same.
    def called(unit)
      @labels ||= @units.map(&:label).tally
      @labels.fetch(unit.label) == 1 ? unit.label : numbered(unit.label, unit.id)
    end

    # No longer than a name may be.
    def numbered(name, id)
      "#{name[0, 60]} (#{id})"
    end

    def names
      @names ||= shelf.group_by(&:name).flat_map do |name, same|
        same.map { |fabric| [fabric.id, same.one? ? name : numbered(name, fabric.id)] }
      end.to_h
    end

    def shelf
      @shelf ||= @units.flat_map(&:unit_fabrics).map(&:fabric).uniq(&:id)
    end

    def stock
      known = shelf.to_h { |fabric| [names.fetch(fabric.id), [fabric.document]] }
      known.size == 200 ? known : { **known, ANY => [{ "form" => "yardage" }] }
    end
  end
end
