# frozen_string_literal: true

module Server
  # Whose bench a page is of, which its address says: /makers/12/tools. What is asked for without a word of that goes to the bench that
  # holds it, or to the one where one came last; what is asked of a maker who is not here any more, to the list of those who are.
  class BenchAddress
    # Pages that are of no bench.
    APART = %r{\A/(?:sign-in|sign-up|reset|shown)(?:/|\z)}
    BENCH = %r{\A/makers/(\d{1,18})(?:/|\z)}
    # What is of one maker alone, by its number.
    HELD = { %r{\A/projects/(\d{1,18})} => Models::Project, %r{\A/blocks/(\d{1,18})} => Models::Block }.freeze

    # @param path [String]
    # @param query [String]
    def initialize(path, query)
      @path = path
      @query = query
    end

    # @return [String, nil] nil where the address is a good one, or nobody knows a better
    def better
      return if APART.match?(@path) || (Access.required? && Access.account.nil?) || good?

      maker = holder || makers.first
      maker && "/makers/#{maker.id}#{rest}"
    rescue *Database::GONE
      nil
    end

    private

    def makers
      Models::Maker.here
    end

    def named
      @named ||= BENCH.match(@path)
    end

    def good?
      !named.nil? && makers.exists?(id: named[1])
    end

    def rest
      return "/makers" if named

      [@path.chomp("/"), @query].reject(&:empty?).join("?")
    end

    def holder
      HELD.each do |address, model|
        found = address.match(@path)
        return makers.find_by(id: model.where(id: found[1]).select(:maker_id)) if found
      end
      nil
    end
  end
end
